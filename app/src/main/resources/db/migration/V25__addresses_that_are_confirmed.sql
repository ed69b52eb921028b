-- An address counts once a link that was sent to it has been opened. Letters that only look alike are different addresses.
alter table account
  modify column email varchar(254) character set utf8mb4 collate utf8mb4_bin not null,
  add column confirmed_at datetime(6) null;
-- Who has a page on the web, or took an invitation by mail, goes on as before.
update account set confirmed_at = now(6)
where id in (select owner from site join publication on publication.site = site.id)
   or id in (select account from helper);

-- Where the messages of a site go beside its owner and helpers: asked by mail, told of nothing before they say yes.
create table recipient (
  site         char(36) character set ascii not null,
  email        varchar(254) character set utf8mb4 collate utf8mb4_bin not null,
  hash         char(64) character set ascii null,
  asked_at     datetime(6) null,
  confirmed_at datetime(6) null,
  primary key (site, email),
  unique key recipient_hash (hash),
  constraint recipient_of_site foreign key (site) references site (id) on delete cascade
);
-- Who was told so far is told on: what each site was last published with, or has been set to by its last whole state.
insert ignore into recipient (site, email, confirmed_at)
select publication.site, lower(told.email), now(6)
from publication
join json_table(publication.state, '$.doors.messagesTo[*]' columns (email varchar(254) path '$')) told
where told.email is not null;
insert ignore into recipient (site, email, confirmed_at)
select publication.site, lower(told.email), now(6)
from publication
join json_table(publication.state, '$.doors.routes.*[*].to[*]' columns (email varchar(254) path '$')) told
where told.email like '%@%';

-- Who asks for a new password is answered before anybody looks whether there is such an account.
create table forgotten_password (
  id       char(36) character set ascii not null primary key,
  email    varchar(254) character set utf8mb4 collate utf8mb4_bin not null,
  asked_at datetime(6) not null
);

-- Links to previews are good for this round: whoever is taken off a site ends it.
alter table site add column preview_round int not null default 0;
