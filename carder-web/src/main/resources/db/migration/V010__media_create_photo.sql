create table photo (
    id uuid primary key,
    setting_id uuid not null references setting,
    observation_id uuid not null references observation,
    width int not null check (width > 0),
    height int not null check (height > 0),
    stored_as text not null unique,
    stored_at timestamptz not null
);

create index photo_by_observation on photo (setting_id, observation_id);
