-- What an adult might see while a card is out, and what a family can try at home.
alter table card add column might_see text not null default '' check (length(might_see) <= 2000);
alter table card add column at_home text not null default '' check (length(at_home) <= 2000);
alter table card alter column might_see drop default;
alter table card alter column at_home drop default;
