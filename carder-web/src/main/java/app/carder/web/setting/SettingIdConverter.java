package app.carder.web.setting;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Stores a setting's id as a uuid column. */
@Converter(autoApply = true)
class SettingIdConverter implements AttributeConverter<SettingId, UUID> {

    @Override
    public @Nullable UUID convertToDatabaseColumn(@Nullable SettingId id) {
        return id == null ? null : id.value();
    }

    @Override
    public @Nullable SettingId convertToEntityAttribute(@Nullable UUID column) {
        return column == null ? null : new SettingId(column);
    }
}
