-- A reply is read by whoever wrote it and by staff. Of those of before nobody knows which carer's they are.
alter table reply add column author_id uuid;

-- Whose message it is, by room; null for what is of no room.
alter table message add column room_id uuid references room;

update message m set room_id = (
    select c.room_id from carer k join child c on c.id = k.child_id
    where k.setting_id = m.setting_id and k.email = m.to_address and k.name = m.to_name limit 1);

-- Codes of before lay beside their links.
update message set body = 'The code was here.' where subject = 'The code for your learning journal';
