-- Mail on its way. The message id is given once, so that a repeat after a crash can be told from a second message.
create table mail (
  id         char(36) character set ascii not null primary key,
  enquiry    char(36) character set ascii null,
  recipient  varchar(254) not null,
  reply_to   varchar(254) null,
  subject    varchar(250) not null,
  body       longtext not null,
  message_id varchar(120) character set ascii not null,
  state      varchar(10) character set ascii not null,
  tries      int not null default 0,
  fault      varchar(300) null,
  made_at    datetime(6) not null default now(6),
  sent_at    datetime(6) null,
  key mail_enquiry (enquiry),
  constraint mail_of_enquiry foreign key (enquiry) references enquiry (id) on delete cascade
);

-- db-scheduler, as its mysql_tables.sql has it.
create table scheduled_tasks (
  task_name            varchar(100) not null,
  task_instance        varchar(100) not null,
  task_data            blob,
  execution_time       datetime(6) not null,
  picked               boolean not null,
  picked_by            varchar(50),
  last_success         datetime(6) null,
  last_failure         datetime(6) null,
  consecutive_failures int,
  last_heartbeat       datetime(6) null,
  version              bigint not null,
  priority             smallint,
  primary key (task_name, task_instance),
  index execution_time_idx (execution_time),
  index last_heartbeat_idx (last_heartbeat),
  index priority_execution_time_idx (priority desc, execution_time asc)
);
