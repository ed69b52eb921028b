-- Calendars whose busy times are asked for again and again by their address. The address is as secret as what stands there.
create table followed_calendar (
  site     char(36) character set ascii not null,
  name     varchar(60) not null,
  address  varchar(2000) not null,
  tried_at datetime(6) not null,
  read_at  datetime(6) null,
  fault    varchar(20) character set ascii null,
  primary key (site, name),
  key followed_next (tried_at),
  constraint followed_of_site foreign key (site) references site (id) on delete cascade
);

-- Texts to telephones, kept like mails until the gateway has them.
create table text_message (
  id        char(36) character set ascii not null primary key,
  recipient varchar(20) character set ascii not null,
  words     text not null,
  booking   char(36) character set ascii null,
  state     varchar(10) character set ascii not null,
  tries     int not null default 0,
  made_at   datetime(6) not null default current_timestamp(6),
  sent_at   datetime(6) null,
  key text_of_booking (booking),
  constraint text_of_booking foreign key (booking) references booking (id) on delete cascade
);
