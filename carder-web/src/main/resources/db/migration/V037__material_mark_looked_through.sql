-- The starter cupboard was looked through when it was put together; what a setting wrote itself is asked about once.
update material
set description = jsonb_set(
    description, '{traits}', to_jsonb(trim(coalesce(description ->> 'traits', '') || ' LOOKED_THROUGH')))
where coalesce(description ->> 'basis', 'ENTERED') <> 'ENTERED';

update material
set description = jsonb_set(description, '{traits}', to_jsonb(trim((description ->> 'traits') || ' FINE')))
where description ->> 'form' is null and coalesce(description ->> 'basis', 'ENTERED') <> 'ENTERED'
    and code in ('flour', 'cornflour', 'salt', 'semolina', 'sand-dry', 'sand-wet', 'soil-moist', 'flour-wholegrain', 'rice-flour',
        'sugar', 'icing-sugar', 'cocoa', 'sawdust', 'peat-free-compost', 'sand-garden', 'dough-cooked', 'salt-dough', 'starch-mix',
        'cream-of-tartar', 'xanthan', 'plaster', 'glue', 'glitter');

-- Sizes that the starter cupboard did not have; a setting that measured its own keeps them.
update material
set description = description || sized.form
from (values
    ('shredded-paper', '{"form": "block", "length_mm": "150", "width_mm": "4", "thickness_mm": "0.1"}'::jsonb),
    ('balloons', '{"form": "block", "length_mm": "100", "width_mm": "40", "thickness_mm": "2"}'::jsonb),
    ('bubble-wrap', '{"form": "block", "length_mm": "500", "width_mm": "300", "thickness_mm": "5"}'::jsonb),
    ('worms', '{"form": "rod", "length_mm": "80", "width_mm": "5"}'::jsonb),
    ('spoon-teaspoon', '{"form": "block", "length_mm": "140", "width_mm": "30", "thickness_mm": "15"}'::jsonb),
    ('spoon-tablespoon', '{"form": "block", "length_mm": "190", "width_mm": "45", "thickness_mm": "20"}'::jsonb),
    ('scoop-60', '{"form": "block", "length_mm": "170", "width_mm": "60", "thickness_mm": "40"}'::jsonb),
    ('ladle', '{"form": "block", "length_mm": "250", "width_mm": "85", "thickness_mm": "60"}'::jsonb)) as sized (code, form)
where material.code = sized.code and material.description ->> 'form' is null;

update material set description = description || '{"opening_mm": "0"}'::jsonb
where code = 'planks' and description ->> 'opening_mm' is null;
update material set description = description || '{"opening_mm": "40"}'::jsonb
where code = 'crates' and description ->> 'opening_mm' is null;

-- Lamps and lasers were one; what is not plainly a lamp stays the graver of the two.
update material
set description = jsonb_set(description, '{traits}', to_jsonb(replace(description ->> 'traits', 'LASER', 'UV_LAMP')))
where description ->> 'traits' like '%LASER%' and name ilike any (array ['%uv%lamp%', '%ultraviolet%', '%black%light%']);
