package app.carder.web.material;

import app.carder.core.cupboard.CupboardTable;
import app.carder.core.cupboard.Stocked;
import app.carder.core.cupboard.Stocked.Amount;
import app.carder.core.cupboard.Stocked.Bought;
import app.carder.core.material.MaterialKind;
import app.carder.core.measure.Mass;
import app.carder.core.measure.Money;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.Currency;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/**
 * Something in the setting's cupboard. What it is like is kept by the columns of the {@link CupboardTable}, so that file, page
 * and database say it in one way; what changes by the day (pack, stock, place) has columns of its own.
 */
@Entity
@Table(name = "material")
class CupboardItem extends ScopedRecord {

    /** Columns of the table that are not part of the description. */
    private static final Set<String> OWN_COLUMNS = Set.of(
            "code",
            "name",
            "kind",
            "pack_g",
            "pack_pieces",
            "pack_price",
            "stock_g",
            "stock_pieces",
            "kept_in",
            "keeps_days");

    @Version
    private int version;

    private String code;
    private String name;

    @Enumerated(EnumType.STRING)
    private MaterialKind kind;

    @JdbcTypeCode(SqlTypes.JSON)
    private Map<String, String> description;

    @Column(name = "pack_mg")
    private @Nullable Long packMg;

    private @Nullable Integer packPieces;
    private @Nullable Long packPriceMinor;

    @Column(name = "stock_mg")
    private @Nullable Long stockMg;

    private @Nullable Integer stockPieces;
    private String keptIn;
    private @Nullable Integer keepsDays;
    private boolean retired;
    private @Nullable UUID photoId;

    protected CupboardItem() {}

    CupboardItem(UUID id, SettingId settingId, Stocked stocked) {
        super(id, settingId);
        this.code = stocked.code();
        describe(stocked);
    }

    /** Writes down everything but the code, by which cards know it. */
    final void describe(Stocked stocked) {
        name = stocked.name();
        kind = stocked.material().kind();
        description = new LinkedHashMap<>(CupboardTable.cells(stocked));
        description.keySet().removeAll(OWN_COLUMNS);
        description.values().removeIf(String::isEmpty);
        packMg = stocked.bought()
                .flatMap(bought -> bought.content().mass())
                .map(Mass::milligrams)
                .orElse(null);
        packPieces =
                stocked.bought().flatMap(bought -> bought.content().pieces()).orElse(null);
        packPriceMinor =
                stocked.bought().map(bought -> bought.price().minorUnits()).orElse(null);
        keptIn = stocked.keptIn();
        keepsDays = stocked.keepsDays().orElse(null);
        count(stocked.stock());
        retired = false;
    }

    /** Writes down how much is left. */
    final void count(Amount stock) {
        stockMg = stock.mass().map(Mass::milligrams).orElse(null);
        stockPieces = stock.pieces().orElse(null);
    }

    /** Takes it out of the cupboard; cards that ask for it still know what it was. */
    void retire() {
        retired = true;
    }

    /** Shows it by a photo; by its drawing where there is none. */
    final void show(@Nullable UUID photo) {
        photoId = photo;
    }

    Optional<UUID> photo() {
        return Optional.ofNullable(photoId);
    }

    String name() {
        return name;
    }

    String code() {
        return code;
    }

    int version() {
        return version;
    }

    boolean retired() {
        return retired;
    }

    /**
     * As the core knows it.
     *
     * @throws IllegalStateException if the record contradicts itself, which its writers rule out
     */
    Stocked stocked(Currency currency) {
        Map<String, String> cells = new LinkedHashMap<>(description);
        cells.put("code", code);
        cells.put("name", name);
        cells.put("kind", kind.name());
        CupboardTable.Contents read = CupboardTable.readRows(List.of(cells), currency);
        if (!read.faults().isEmpty()) {
            throw new IllegalStateException("Impossible state: material " + getId() + " cannot be read: "
                    + read.faults().get(0).words().words());
        }
        Stocked described = read.rows().get(0);
        return new Stocked(
                code,
                described.material(),
                described.vessel(),
                bought(currency),
                amount(stockMg, stockPieces),
                keptIn,
                Optional.ofNullable(keepsDays),
                described.seen());
    }

    private Optional<Bought> bought(Currency currency) {
        Long price = packPriceMinor;
        return price == null
                ? Optional.empty()
                : Optional.of(new Bought(amount(packMg, packPieces), Money.ofMinor(price, currency)));
    }

    private static Amount amount(@Nullable Long milligrams, @Nullable Integer pieces) {
        return new Amount(Optional.ofNullable(milligrams).map(Mass::ofMilligrams), Optional.ofNullable(pieces));
    }
}
