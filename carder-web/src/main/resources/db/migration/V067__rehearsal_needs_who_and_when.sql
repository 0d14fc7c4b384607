-- Who may give a child its emergency medicine, beside the words that say where it is.
alter table child add column medicine_by uuid[] not null default '{}';
alter table child alter column medicine_by drop default;

-- When in its session a group is taken aside; nobody has said where it is empty.
alter table focus_group add column starts_at time;
