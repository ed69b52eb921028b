-- What a reader of proofs found in words of the owner; the words themselves are told by their digest.
create table proof (
  site    char(36) character set ascii not null,
  words   char(64) character set ascii not null,
  slips   text not null,
  read_at datetime(6) not null,
  primary key (site, words),
  constraint proof_of_site foreign key (site) references site (id) on delete cascade
);
