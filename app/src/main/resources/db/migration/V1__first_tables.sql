create table account (
  id            char(36) character set ascii not null primary key,
  email         varchar(254) not null,
  name          varchar(120) not null,
  password_hash varchar(100) character set ascii not null,
  created_at    datetime(6) not null default now(6),
  unique key account_email (email)
);

-- A site in the making. Before sign-up it belongs to a browser's key, of which only the hash is kept.
create table site (
  id         char(36) character set ascii not null primary key,
  owner      char(36) character set ascii null,
  key_hash   char(64) character set ascii null,
  revision   bigint not null,
  sheet      longtext not null,
  created_at datetime(6) not null default now(6),
  edited_at  datetime(6) not null default now(6),
  key site_owner (owner),
  key site_key (key_hash),
  constraint site_account foreign key (owner) references account (id) on delete cascade
);

-- One locked row numbers publications and changes of addresses, so that instances see them in the order of commits.
create table change_counter (
  id    tinyint not null primary key,
  value bigint not null
);
insert into change_counter values (1, 0);

create table publication (
  id            bigint not null auto_increment primary key,
  site          char(36) character set ascii not null,
  number        bigint not null,
  revision      bigint not null,
  sheet         longtext not null,
  published_at  datetime(6) not null default now(6),
  key publication_site (site, number),
  constraint publication_of_site foreign key (site) references site (id) on delete cascade
);

-- Files by content: the same bytes are kept once, plain and compressed.
create table stored_file (
  hash   char(64) character set ascii not null primary key,
  plain  mediumblob not null,
  gzip   mediumblob null,
  brotli mediumblob null
);

create table publication_file (
  publication  bigint not null,
  path         varchar(200) character set ascii collate ascii_bin not null,
  content_type varchar(100) character set ascii not null,
  hash         char(64) character set ascii not null,
  primary key (publication, path),
  constraint file_of_publication foreign key (publication) references publication (id) on delete cascade,
  constraint file_content foreign key (hash) references stored_file (hash)
);

create table address (
  host        varchar(253) character set ascii not null primary key,
  site        char(36) character set ascii not null,
  publication bigint null,
  change_no   bigint not null,
  key address_site (site),
  key address_change (change_no),
  constraint address_of_site foreign key (site) references site (id) on delete cascade,
  constraint address_live foreign key (publication) references publication (id)
);

create table enquiry (
  id          char(36) character set ascii not null primary key,
  site        char(36) character set ascii not null,
  publication bigint null,
  repeat_key  char(64) character set ascii not null,
  state       varchar(20) character set ascii not null,
  fields      longtext not null,
  received_at datetime(6) not null default now(6),
  unique key enquiry_repeat (repeat_key),
  key enquiry_site (site, received_at),
  constraint enquiry_of_site foreign key (site) references site (id) on delete cascade
);

create table setting (
  name  varchar(60) character set ascii not null primary key,
  value varchar(400) not null
);

-- Spring Session, as its schema-mysql.sql has it.
create table SPRING_SESSION (
  PRIMARY_ID            char(36) not null,
  SESSION_ID            char(36) not null,
  CREATION_TIME         bigint not null,
  LAST_ACCESS_TIME      bigint not null,
  MAX_INACTIVE_INTERVAL int not null,
  EXPIRY_TIME           bigint not null,
  PRINCIPAL_NAME        varchar(100),
  constraint SPRING_SESSION_PK primary key (PRIMARY_ID)
) engine = InnoDB row_format = dynamic;
create unique index SPRING_SESSION_IX1 on SPRING_SESSION (SESSION_ID);
create index SPRING_SESSION_IX2 on SPRING_SESSION (EXPIRY_TIME);
create index SPRING_SESSION_IX3 on SPRING_SESSION (PRINCIPAL_NAME);

create table SPRING_SESSION_ATTRIBUTES (
  SESSION_PRIMARY_ID char(36) not null,
  ATTRIBUTE_NAME     varchar(200) not null,
  ATTRIBUTE_BYTES    blob not null,
  constraint SPRING_SESSION_ATTRIBUTES_PK primary key (SESSION_PRIMARY_ID, ATTRIBUTE_NAME),
  constraint SPRING_SESSION_ATTRIBUTES_FK foreign key (SESSION_PRIMARY_ID) references SPRING_SESSION (PRIMARY_ID) on delete cascade
) engine = InnoDB row_format = dynamic;
