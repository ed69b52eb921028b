-- Why a message was set aside without the owner, a sentence a line; null where the owner did it, or nobody. And what finds
-- the same words, and the same sender, without reading every message.
alter table enquiry
  add set_aside  varchar(2000) null,
  add words_key  char(64) character set ascii null,
  add sender_key char(64) character set ascii null,
  add key enquiry_words (words_key, received_at),
  add key enquiry_sender (site, sender_key, received_at);
