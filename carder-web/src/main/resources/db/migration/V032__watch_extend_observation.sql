alter table observation add column well_being int check (well_being between 1 and 5);
alter table observation add column schemas varchar[] not null default '{}';
alter table observation add column next_step text not null default '';
-- Who can be recognised in its photos: others than the child of the record may be.
alter table observation add column in_photo uuid[] not null default '{}';
-- Records that were written with one save, one for each child.
alter table observation add column snapshot_id uuid;

update observation o set in_photo = coalesce((
    select array_agg(c.child_id) from observation_child c where c.observation_id = o.id and c.in_photo), '{}');
alter table observation_child drop column in_photo;

-- One picture may belong to the records of several children.
alter table photo drop constraint photo_stored_as_key;
create index photo_by_stored_as on photo (stored_as);
