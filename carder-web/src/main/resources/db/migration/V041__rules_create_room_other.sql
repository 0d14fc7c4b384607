create table room_other (
    id uuid primary key,
    setting_id uuid not null references setting,
    room_id uuid not null references room,
    name text not null check (length(name) between 1 and 80),
    pet text check (pet in ('DOG', 'CAT', 'RABBIT', 'BIRD')),
    born_on date,
    mouthing boolean not null,
    without_allergies boolean not null,
    left_at timestamptz,
    check ((pet is null) = (born_on is not null))
);
create index room_other_by_room on room_other (setting_id, room_id);
