-- When a child was seen stands beside the child: a child's newest records are read from one index, however many there are.
alter table observation_child add column observed_at timestamptz;
update observation_child c set observed_at = o.observed_at from observation o where o.id = c.observation_id;
alter table observation_child alter column observed_at set not null;
drop index observation_child_by_child;
create index observation_child_by_child on observation_child (setting_id, child_id, observed_at desc, observation_id desc);
