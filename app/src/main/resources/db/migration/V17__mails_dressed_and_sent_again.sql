-- A mail knows the site it is about, and has what mail programs show beside its plain words.
alter table mail
  add column site char(36) character set ascii null,
  add column html mediumtext null,
  add key mail_of_site (site, state),
  add constraint mail_of_site foreign key (site) references site (id) on delete cascade;

update mail join enquiry on enquiry.id = mail.enquiry set mail.site = enquiry.site;
update mail join booking on booking.id = mail.booking set mail.site = booking.site;
update mail join list_member on list_member.id = mail.list_member set mail.site = list_member.site;
