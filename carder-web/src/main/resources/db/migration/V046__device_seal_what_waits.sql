-- Somebody's sign-in on one device. It lasts the day; what is written under it keeps its author whatever becomes of the account.
create table device_sign_in (
    id uuid primary key,
    setting_id uuid not null references setting,
    device_id uuid not null references device,
    account_id uuid not null references account,
    token_hash text not null,
    begun_at timestamptz not null,
    ends_at timestamptz not null,
    ended_at timestamptz
);

create index device_sign_in_by_account on device_sign_in (account_id, ends_at);
create index device_sign_in_by_device on device_sign_in (device_id, ends_at);

-- Which secrets a setting accepts to open Watch with, and how soon it locks; one row at most.
create table device_policy (
    id uuid primary key references setting,
    setting_id uuid not null unique references setting,
    version int not null,
    pin boolean not null,
    passphrase boolean not null,
    passkey boolean not null,
    locks_after_minutes int not null check (locks_after_minutes between 1 and 60),
    check (pin or passphrase or passkey)
);

-- What a device carried of which children, a row for each room and day, so that a lost one can be reported.
create table device_holding (
    id uuid primary key,
    setting_id uuid not null references setting,
    device_id uuid not null references device,
    room_id uuid not null references room,
    day date not null,
    last_at timestamptz not null,
    unique (device_id, room_id, day)
);

create table device_holding_child (
    holding_id uuid not null references device_holding,
    child_id uuid not null references child,
    primary key (holding_id, child_id)
);

-- What a device sent sealed and could not be taken as it is. Only its author reads it.
create table refused_item (
    id uuid primary key,
    setting_id uuid not null references setting,
    account_id uuid not null references account,
    refused_at timestamptz not null,
    kind text not null,
    why text not null,
    words text not null,
    content text not null
);

create index refused_item_by_author on refused_item (account_id, refused_at);
