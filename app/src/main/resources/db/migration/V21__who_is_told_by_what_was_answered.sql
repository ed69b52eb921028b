-- Which of the site's forms a message came by, so that whoever is told of it is told again when nobody answers.
alter table enquiry
  add form varchar(100) null;

-- Texts tell of messages too, not of bookings alone.
alter table text_message
  add site    char(36) character set ascii null,
  add enquiry char(36) character set ascii null,
  add key text_of_site (site, made_at),
  add constraint text_of_enquiry foreign key (enquiry) references enquiry (id) on delete cascade;
update text_message t join booking b on b.id = t.booking set t.site = b.site;
