-- Names that look alike have one likeness (AddressName), so that nobody takes "ash1atch" beside "ashlatch".
alter table address add column likeness varchar(253) character set ascii not null default '';
update address set likeness =
  replace(replace(replace(replace(replace(substring_index(host, '.', 1), '-', ''), '0', 'o'), '1', 'l'), 'rn', 'm'), 'vv', 'w');
alter table address add key address_likeness (likeness);
