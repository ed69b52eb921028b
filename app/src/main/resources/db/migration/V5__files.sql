-- What owners gave, by content and by whose it is: an account, or a site that nobody has claimed yet. The bytes stand in
-- pieces, so that no packet is large.
create table kept_file (
  id           bigint not null auto_increment primary key,
  holder       char(36) character set ascii not null,
  hash         char(64) character set ascii not null,
  content_type varchar(60) character set ascii not null,
  size         bigint not null,
  unique key kept_once (holder, hash)
);

create table kept_file_piece (
  file     bigint not null,
  position int not null,
  bytes    mediumblob not null,
  primary key (file, position),
  constraint piece_of_file foreign key (file) references kept_file (id) on delete cascade
);

-- Which sites a file was given to.
create table site_file (
  site     char(36) character set ascii not null,
  file     bigint not null,
  given_at datetime(6) not null default now(6),
  primary key (site, file),
  constraint file_of_site foreign key (site) references site (id) on delete cascade,
  constraint site_of_file foreign key (file) references kept_file (id) on delete cascade
);

-- Sizes of a picture: wanted, and made once size is not null. They can always be made anew from the file.
create table rendition (
  file      bigint not null,
  path      varchar(60) character set ascii collate ascii_bin not null,
  name      char(12) character set ascii not null,
  width     int not null,
  height    int not null,
  format    varchar(5) character set ascii not null,
  treatment varchar(80) character set ascii not null,
  size      bigint null,
  wanted_at datetime(6) not null default now(6),
  primary key (file, path),
  key rendition_name (file, name),
  constraint rendition_of_file foreign key (file) references kept_file (id) on delete cascade
);

create table rendition_piece (
  file     bigint not null,
  path     varchar(60) character set ascii collate ascii_bin not null,
  position int not null,
  bytes    mediumblob not null,
  primary key (file, path, position),
  constraint piece_of_rendition foreign key (file, path) references rendition (file, path) on delete cascade
);
