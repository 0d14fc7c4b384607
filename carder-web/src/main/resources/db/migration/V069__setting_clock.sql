-- A made-up nursery has a time of its own: so far is it ahead of the machine's clock, or behind where it is less than nothing.
alter table setting add column made_up boolean not null default false;
alter table setting add column clock_ahead_s bigint not null default 0;
alter table setting add check (made_up or clock_ahead_s = 0);
