-- People who help with a site, and what has been sent to people to be answered.
create table helper (
  site    char(36) character set ascii not null,
  account char(36) character set ascii not null,
  since   datetime(6) not null default now(6),
  primary key (site, account),
  key helper_account (account),
  constraint helper_site foreign key (site) references site (id) on delete cascade,
  constraint helper_of_account foreign key (account) references account (id) on delete cascade
);

-- Only the hash of a token is kept; the token itself is in the mail.
create table invitation (
  hash       char(64) character set ascii not null primary key,
  site       char(36) character set ascii not null,
  kind       varchar(10) character set ascii not null,
  email      varchar(254) not null,
  invited_by char(36) character set ascii not null,
  expires_at datetime(6) not null,
  key invitation_site (site),
  constraint invitation_of_site foreign key (site) references site (id) on delete cascade,
  constraint invitation_by foreign key (invited_by) references account (id) on delete cascade
);

create table account_token (
  hash       char(64) character set ascii not null primary key,
  account    char(36) character set ascii not null,
  purpose    varchar(10) character set ascii not null,
  email      varchar(254) null,
  expires_at datetime(6) not null,
  key token_account (account),
  constraint token_of_account foreign key (account) references account (id) on delete cascade
);
