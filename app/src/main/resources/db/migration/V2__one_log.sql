-- One log of edits for each site, with a whole state now and then to start reading from.
create table edit (
  site     char(36) character set ascii not null,
  number   bigint not null,
  edit_key varchar(60) character set ascii not null,
  author   varchar(64) character set ascii not null,
  way      varchar(5) character set ascii not null,
  undoes   bigint null,
  entry    longtext not null,
  made_at  datetime(6) not null default now(6),
  primary key (site, number),
  unique key edit_once (site, edit_key),
  key edit_author (site, author, number),
  constraint edit_of_site foreign key (site) references site (id) on delete cascade
);

create table snapshot (
  site   char(36) character set ascii not null,
  number bigint not null,
  state  longtext not null,
  primary key (site, number),
  constraint snapshot_of_site foreign key (site) references site (id) on delete cascade
);

insert into snapshot (site, number, state) select id, revision, concat('{"schema":1,"sheet":', sheet, '}') from site;
alter table site drop column sheet;

alter table publication change column sheet state longtext not null;
update publication set state = concat('{"schema":1,"sheet":', state, '}');

-- Words that somebody else's kept from standing on the page. They are offered until they are taken or let go.
create table words_aside (
  id      char(36) character set ascii not null primary key,
  site    char(36) character set ascii not null,
  text    varchar(60) character set ascii not null,
  author  varchar(64) character set ascii not null,
  tree    longtext not null,
  made_at datetime(6) not null default now(6),
  key aside_site (site),
  constraint aside_of_site foreign key (site) references site (id) on delete cascade
);

-- An address outlives its site, so that other instances hear that it is empty; the name can be had again.
alter table address drop foreign key address_of_site;
alter table address drop foreign key address_live;
alter table address modify column site char(36) character set ascii null;
alter table address add constraint address_of_site foreign key (site) references site (id) on delete set null;
alter table address add constraint address_live foreign key (publication) references publication (id) on delete set null;
