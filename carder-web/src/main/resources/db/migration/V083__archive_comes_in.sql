-- What came from another setting: where from, what a card was called there, and answers about photos that were given to that setting and hold there alone.
alter table child add column came_from text not null default '' check (length(came_from) <= 200);
alter table observation add column card_words text;
alter table watch_entry add column card_words text;
alter table consent_entry add column brought_in boolean not null default false;
