-- Bookings, and what else stands in a diary. The row of a diary is locked while a time is taken, so that of two who take the
-- same at one moment, on whatever instance, the second sees the first.
create table diary (
  site char(36) character set ascii not null primary key,
  feed char(43) character set ascii null,
  unique key diary_feed (feed),
  constraint diary_of_site foreign key (site) references site (id) on delete cascade
);

-- A booking keeps what it was when it was made: instant, zone, name and length of the service, time kept free beside it.
-- link is the private address by which whoever booked moves or cancels it.
create table booking (
  id             char(36) character set ascii not null primary key,
  site           char(36) character set ascii not null,
  link           char(43) character set ascii collate ascii_bin not null,
  state          varchar(10) character set ascii not null,
  held_until     datetime(6) null,
  service        varchar(120) not null,
  service_name   varchar(120) not null,
  price          varchar(60) not null,
  resource       varchar(40) character set ascii not null,
  starts_at      datetime(6) not null,
  ends_at        datetime(6) not null,
  before_minutes int not null,
  after_minutes  int not null,
  zone           varchar(60) character set ascii not null,
  who            varchar(120) not null,
  email          varchar(254) not null,
  telephone      varchar(60) not null,
  place          varchar(300) not null,
  latitude       double null,
  longitude      double null,
  answers        longtext not null,
  note           text not null,
  came           varchar(10) character set ascii not null,
  sequence       int not null default 0,
  made_at        datetime(6) not null,
  changed_at     datetime(6) not null,
  reminded_at    datetime(6) null,
  unique key booking_link (link),
  key booking_time (site, starts_at),
  key booking_state (site, state),
  key booking_reminder (state, starts_at),
  constraint booking_of_site foreign key (site) references site (id) on delete cascade
);

create table diary_block (
  id        char(36) character set ascii not null primary key,
  site      char(36) character set ascii not null,
  resource  varchar(40) character set ascii not null,
  starts_at datetime(6) not null,
  ends_at   datetime(6) not null,
  words     varchar(200) not null,
  source    varchar(60) null,
  key block_time (site, starts_at),
  constraint block_of_site foreign key (site) references site (id) on delete cascade
);

-- A mail may bring an appointment for a calendar.
alter table mail
  add column booking  char(36) character set ascii null,
  add column calendar longtext null,
  add key mail_booking (booking),
  add constraint mail_of_booking foreign key (booking) references booking (id) on delete cascade;
