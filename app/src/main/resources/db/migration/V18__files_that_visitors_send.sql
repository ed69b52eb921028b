-- Photographs and PDFs that came with a message. They go with it: when it is deleted, when its keeping time is over, when
-- everything of a person is deleted.
create table enquiry_file (
  enquiry      char(36) character set ascii not null,
  position     int not null,
  name         varchar(120) not null,
  content_type varchar(60) character set ascii not null,
  size         bigint not null,
  primary key (enquiry, position),
  constraint file_of_enquiry foreign key (enquiry) references enquiry (id) on delete cascade
);

create table enquiry_file_piece (
  enquiry  char(36) character set ascii not null,
  file     int not null,
  position int not null,
  bytes    mediumblob not null,
  primary key (enquiry, file, position),
  constraint piece_of_enquiry_file foreign key (enquiry, file) references enquiry_file (enquiry, position) on delete cascade
);
