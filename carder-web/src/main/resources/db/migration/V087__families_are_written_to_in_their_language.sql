-- A family is written to in its own language; what went home keeps the one that it was written in.
alter table carer add reads_in varchar(35) not null default '';
alter table home_card add written_in varchar(35) not null default 'en';
