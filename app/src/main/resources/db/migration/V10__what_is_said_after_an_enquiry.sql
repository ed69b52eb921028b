-- What an owner does after a message: notes, calls, replies, a day to ask again; and enquiries that came by telephone.
alter table enquiry
  add column came      varchar(12) character set ascii not null default 'FORM',
  add column ask_again date null;

create table enquiry_entry (
  id      char(36) character set ascii not null primary key,
  enquiry char(36) character set ascii not null,
  kind    varchar(8) character set ascii not null,
  words   text not null,
  author  varchar(120) not null,
  said_at datetime(6) not null,
  key entry_enquiry (enquiry, said_at),
  constraint entry_of_enquiry foreign key (enquiry) references enquiry (id) on delete cascade
);
