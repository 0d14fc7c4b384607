alter table child add column arrives time;
alter table child add column leaves time;
alter table child add check (leaves > arrives);
