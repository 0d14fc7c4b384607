alter table set_out add column place int not null default 0 check (place between 0 and 11);
alter table set_out alter column place drop default;
