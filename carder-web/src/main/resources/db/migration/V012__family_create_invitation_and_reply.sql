create table invitation (
    id uuid primary key,
    setting_id uuid not null references setting,
    journal_id uuid not null references journal,
    carer_id uuid not null references carer,
    token_hash text not null unique,
    code_hash text not null,
    wrong_codes int not null,
    expires_at timestamptz not null,
    revoked_at timestamptz,
    sent_at timestamptz not null
);

create index invitation_by_journal on invitation (setting_id, journal_id);
create index invitation_by_carer on invitation (setting_id, carer_id);

create table reply (
    id uuid primary key,
    setting_id uuid not null references setting,
    journal_id uuid not null references journal,
    child_id uuid not null references child,
    carer_name text not null,
    words text not null,
    sent_at timestamptz not null
);

create index reply_by_child on reply (setting_id, child_id, sent_at desc);
