alter table room_session add column weekdays int not null default 31 check (weekdays between 0 and 127);
alter table room_session add column moves text not null default 'FIXED' check (moves in ('FIXED', 'MOVABLE'));
alter table room_session add column garden text not null default 'CLOSED' check (garden in ('OPEN', 'CLOSED'));
alter table room_session add column language text not null default '' check (length(language) <= 40);
alter table room_session alter column weekdays drop default, alter column moves drop default,
    alter column garden drop default, alter column language drop default;

alter table room add column ratio_rule text not null default 'ENGLAND';
alter table room add column change_every_days int not null default 5 check (change_every_days between 1 and 40);
alter table room add column rest_days int not null default 10 check (rest_days between 1 and 120);
alter table room add column still_chosen_by int not null default 3 check (still_chosen_by between 1 and 60);
alter table room add column evening_minutes int not null default 45 check (evening_minutes between 0 and 600);
alter table room add column notice_minutes int not null default 5 check (notice_minutes between 1 and 30);
alter table room add column second_language text not null default '' check (length(second_language) <= 40);
alter table room add column second_language_percent int not null default 20 check (second_language_percent between 0 and 100);
