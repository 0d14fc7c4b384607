-- A note that was written before and brought in later; who wrote it then, empty where nobody was named. Others have none.
alter table observation add column brought_in_from text check (length(brought_in_from) <= 120);
