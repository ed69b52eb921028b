-- A publication keeps all it answers with: the address it was made for, its form with rules and words, and the parts of its
-- pages that change with the hours. Null in versions of before, which are completed when they are next served.
alter table publication add column url varchar(300) null;
alter table publication add column form longtext null;
alter table publication add column opening longtext null;
