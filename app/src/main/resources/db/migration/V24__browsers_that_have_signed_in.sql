-- A browser in which somebody has signed in before: only the hash of its key is kept. Guesses made elsewhere do not count for it.
create table known_browser (
  hash    char(64) character set ascii not null,
  account char(36) character set ascii not null,
  seen_at datetime(6) not null,
  primary key (hash, account),
  index known_browser_seen (seen_at),
  foreign key (account) references account (id) on delete cascade
);
