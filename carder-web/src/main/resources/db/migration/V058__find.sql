-- What was written is found by its words, in the language that the room writes in. One index holds setting and words together, so that a
-- search looks at no other setting's records.
create extension if not exists btree_gin;

alter table room add column language text not null default 'english'
    check (language in ('english', 'german', 'french', 'spanish', 'italian', 'portuguese', 'dutch', 'danish', 'norwegian', 'swedish',
        'finnish', 'simple'));

alter table observation add column language regconfig not null default 'english';

create function written_in() returns trigger language plpgsql as $$
begin
    select room.language::regconfig into new.language from room where room.id = new.room_id;
    return new;
end
$$;

create trigger written_in before insert on observation for each row execute function written_in();

alter table observation add column found_by tsvector
    generated always as (to_tsvector(language, note || ' ' || next_step)) stored;

create index observation_found_by on observation using gin (setting_id, found_by);
