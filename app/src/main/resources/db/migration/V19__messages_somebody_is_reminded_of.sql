-- When the owner was reminded that nobody has answered; found without reading all that was ever written.
alter table enquiry add reminded_at datetime(6) null, add key enquiry_unreminded (state, reminded_at);
