-- Those who want to be written to. Whoever leaves is deleted; whoever does not confirm, after a while.
create table list_member (
  id           char(36) character set ascii not null primary key,
  site         char(36) character set ascii not null,
  email        varchar(254) character set utf8mb4 collate utf8mb4_bin not null,
  name         varchar(120) not null,
  state        varchar(10) character set ascii not null,
  came         varchar(10) character set ascii not null,
  agreed       varchar(400) not null,
  agreed_at    datetime(6) not null,
  confirmed_at datetime(6) null,
  confirm_hash char(64) character set ascii null,
  leave_token  varchar(64) character set ascii not null,
  unique key list_member_of_site (site, email),
  unique key list_member_by_confirm (confirm_hash),
  unique key list_member_by_leave (leave_token),
  key list_member_in_order (site, state, confirmed_at, id),
  constraint list_member_of_site foreign key (site) references site (id) on delete cascade
);

alter table mail
  add column list_member char(36) character set ascii null,
  add column leave_address varchar(500) character set ascii null,
  add key mail_of_list_member (list_member),
  add constraint mail_of_list_member foreign key (list_member) references list_member (id) on delete cascade;

-- Programs of the owner's that are told what happens.
create table web_hook (
  site    char(36) character set ascii not null,
  subject varchar(10) character set ascii not null,
  address varchar(2000) not null,
  secret  varchar(80) character set ascii not null,
  primary key (site, subject),
  constraint web_hook_of_site foreign key (site) references site (id) on delete cascade
);

create table web_hook_call (
  id      char(36) character set ascii not null primary key,
  site    char(36) character set ascii not null,
  subject varchar(10) character set ascii not null,
  type    varchar(40) character set ascii not null,
  body    mediumtext not null,
  state   varchar(10) character set ascii not null,
  tries   int not null default 0,
  fault   varchar(200) null,
  made_at datetime(6) not null,
  done_at datetime(6) null,
  key web_hook_call_in_order (site, subject, made_at),
  constraint call_of_web_hook foreign key (site, subject) references web_hook (site, subject) on delete cascade
);
