create table set_out (
    id uuid primary key,
    setting_id uuid not null references setting,
    provocation_id uuid not null references provocation,
    room_id uuid not null references room,
    zone_id uuid not null references zone,
    session_id uuid references room_session,
    on_day date not null,
    adult_id uuid references account,
    overruled_because text not null,
    overruled_findings varchar[] not null,
    set_out_by text not null,
    set_out_at timestamptz not null,
    unique (provocation_id, zone_id, on_day)
);

create index set_out_by_day on set_out (setting_id, on_day);
