-- When an owner tried a door last, and what it was then: another number, another line, and it is untested.
create table door_test (
  site      char(36) character set ascii not null,
  kind      varchar(40) character set ascii not null,
  what      char(64) character set ascii not null,
  enquiry   char(36) character set ascii null,
  tested_at datetime(6) not null,
  primary key (site, kind),
  constraint door_test_of_site foreign key (site) references site (id) on delete cascade
);
