-- A photo shows what was seen, a drawing of a reading, a card as it was really set out, or a thing of the cupboard.
alter table photo add column card_id uuid references card;
alter table photo add column material_id uuid references material;
-- The day that it shows, and who added it; known of cards alone.
alter table photo add column on_day date;
alter table photo add column added_by text check (length(added_by) between 1 and 120);

do $$
declare
    one record;
begin
    for one in select conname from pg_constraint where conrelid = 'photo'::regclass and contype = 'c'
        and pg_get_constraintdef(oid) like '%reading_id%' loop
        execute format('alter table photo drop constraint %I', one.conname);
    end loop;
end
$$;

alter table photo add constraint photo_of_one_thing check (num_nonnulls(observation_id, reading_id, card_id, material_id) = 1);
alter table photo add constraint photo_of_card_has_day check ((card_id is null) = (on_day is null) and (card_id is null) = (added_by is null));
create index photo_by_card on photo (setting_id, card_id);

alter table material add column photo_id uuid references photo;

-- What is added to a card or removed from it stands in the day's history. Photos of children are not kept there.
create trigger keep_row_added after insert on photo for each row when (new.card_id is not null) execute function keep_row();
create trigger keep_row_removed after delete on photo for each row when (old.card_id is not null) execute function keep_row();
