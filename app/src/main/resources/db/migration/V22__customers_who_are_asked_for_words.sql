-- A customer who is asked, by a link of their own, how it was; and what they said. Of the link only its hash is kept.
create table asked_words (
  enquiry    char(36) character set ascii not null primary key,
  site       char(36) character set ascii not null,
  link       char(64) character set ascii not null,
  state      varchar(10) character set ascii not null,
  asked_at   datetime(6) not null,
  good_until datetime(6) not null,
  said_at    datetime(6) null,
  said       text null,
  unique key asked_link (link),
  key asked_of_site (site),
  constraint asked_of_enquiry foreign key (enquiry) references enquiry (id) on delete cascade
);
