-- What a mark means is said by the framework of the day on which it was made, whichever the room works by later.
alter table observation
    add column framework_code text check (length(framework_code) <= 80),
    add column framework_version text check (length(framework_version) <= 80);

update observation o set framework_code = r.framework_code, framework_version = '' from room r where r.id = o.room_id;

alter table observation
    alter column framework_code set not null,
    alter column framework_version set not null;

alter table journal add column framework_version text check (length(framework_version) <= 80);
