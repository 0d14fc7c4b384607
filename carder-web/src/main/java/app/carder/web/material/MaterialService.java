package app.carder.web.material;

import app.carder.core.cupboard.CupboardTable;
import app.carder.core.cupboard.Stocked;
import app.carder.core.cupboard.Stocked.Amount;
import app.carder.web.media.PhotoService;
import app.carder.web.media.PhotoService.Cleaned;
import app.carder.web.page.NotFound;
import app.carder.web.setting.Area;
import app.carder.web.setting.Ids;
import app.carder.web.setting.Remembered;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.util.Collection;
import java.util.Currency;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The cupboard of a setting. */
@Service
public class MaterialService {

    /** Things that one cupboard may hold. */
    static final int MOST = 3000;

    private static final Limit CUPBOARD = Limit.of(MOST);
    private static final int MOST_KEPT = 20_000;

    private final CupboardItemRepository items;
    private final SettingService settings;
    private final PhotoService photos;
    /** What a record says does not change without its version. */
    private final Map<UUID, MaterialView> read = new ConcurrentHashMap<>();

    MaterialService(CupboardItemRepository items, SettingService settings, PhotoService photos) {
        this.items = items;
        this.settings = settings;
        this.photos = photos;
    }

    /**
     * What became of things that were put in.
     *
     * @param added that were not there before
     * @param changed that were
     */
    public record Stocking(int added, int changed) {}

    /** Puts in what the starter cupboard has and this one lacks. What is there stays as it is. */
    @Transactional
    public Stocking stock(SettingId settingId) {
        Map<String, CupboardItem> there = byCode(settingId);
        int added = 0;
        for (Stocked stocked : CupboardTable.starter(currency(settingId)).values()) {
            if (!there.containsKey(stocked.code()) && !isNamed(there.values(), stocked.name())) {
                items.save(new CupboardItem(Ids.next(), settingId, stocked));
                added++;
            }
        }
        return new Stocking(added, 0);
    }

    /** Puts in a whole table: what has a known code is written anew, everything else is added. */
    @Transactional
    public Stocking putIn(SettingId settingId, List<Stocked> table) {
        Map<String, CupboardItem> there = byCode(settingId);
        int added = 0;
        for (Stocked stocked : table) {
            CupboardItem known = there.get(stocked.code());
            if (known == null) {
                items.save(new CupboardItem(Ids.next(), settingId, stocked));
                added++;
            } else {
                known.describe(stocked);
            }
        }
        return new Stocking(added, table.size() - added);
    }

    /** The whole cupboard by name. */
    @Remembered(Area.CARDS)
    @Transactional(readOnly = true)
    public List<MaterialView> cupboard(SettingId settingId) {
        Currency currency = currency(settingId);
        return items.findBySettingIdAndRetiredFalseOrderByName(settingId, CUPBOARD).stream()
                .map(item -> view(item, currency))
                .toList();
    }

    /** Some things by id, those taken out of the cupboard included. */
    @Remembered(Area.CARDS)
    @Transactional(readOnly = true)
    public Map<UUID, MaterialView> byId(SettingId settingId, Collection<UUID> ids) {
        Currency currency = currency(settingId);
        return items.findBySettingIdAndIdIn(settingId, ids).stream()
                .map(item -> view(item, currency))
                .collect(Collectors.toMap(MaterialView::id, Function.identity()));
    }

    /** What goes by these names, in any case; what was taken out of the cupboard comes last, as a card may still ask for it. */
    @Remembered(Area.CARDS)
    @Transactional(readOnly = true)
    public List<MaterialView> named(SettingId settingId, Collection<String> names) {
        Currency currency = currency(settingId);
        return items
                .findByNames(
                        settingId,
                        names.stream()
                                .map(name -> name.toLowerCase(Locale.ROOT))
                                .toList())
                .stream()
                .map(item -> view(item, currency))
                .toList();
    }

    /**
     * One thing.
     *
     * @throws NotFound if the cupboard has none
     */
    @Remembered(Area.CARDS)
    @Transactional(readOnly = true)
    public MaterialView get(SettingId settingId, UUID materialId) {
        return view(find(settingId, materialId), currency(settingId));
    }

    /**
     * One thing, by its code.
     *
     * @throws NotFound if the cupboard has none
     */
    @Remembered(Area.CARDS)
    @Transactional(readOnly = true)
    public MaterialView byCode(SettingId settingId, String code) {
        return view(items.findBySettingIdAndCode(settingId, code).orElseThrow(NotFound::new), currency(settingId));
    }

    /** Adds a thing; a second time with the same id changes nothing. */
    @Transactional
    public void add(SettingId settingId, UUID id, Stocked stocked) {
        if (items.findByIdAndSettingId(id, settingId).isEmpty()) {
            items.save(new CupboardItem(id, settingId, stocked));
        }
    }

    /**
     * Writes a thing anew, if nobody has changed it since it was opened.
     *
     * @return whether it was written
     */
    @Transactional
    public boolean rewrite(SettingId settingId, UUID materialId, int version, Stocked stocked) {
        CupboardItem item = find(settingId, materialId);
        if (item.version() != version) {
            return false;
        }
        item.describe(stocked);
        return true;
    }

    /** Writes down how much is left. */
    @Transactional
    public void count(SettingId settingId, UUID materialId, Amount stock) {
        find(settingId, materialId).count(stock);
    }

    /** Shows it by a photo from now on. */
    @Transactional
    public void show(SettingId settingId, UUID materialId, Cleaned photo) {
        CupboardItem item = find(settingId, materialId);
        item.show(photos.saveThing(settingId, materialId, photo));
    }

    /** Shows it by its drawing again. */
    @Transactional
    public void showDrawing(SettingId settingId, UUID materialId) {
        find(settingId, materialId).show(null);
    }

    /** Takes it out of the cupboard. */
    @Transactional
    public void retire(SettingId settingId, UUID materialId) {
        find(settingId, materialId).retire();
    }

    /** Whether another thing of the cupboard has this name. */
    @Transactional(readOnly = true)
    public boolean isTaken(SettingId settingId, String name, Optional<UUID> by) {
        return items.findBySettingIdAndRetiredFalseOrderByName(settingId, CUPBOARD).stream()
                .filter(item -> by.filter(item.getId()::equals).isEmpty())
                .anyMatch(item -> isNamed(List.of(item), name));
    }

    /** Whether a thing has this code, one that was taken out of the cupboard included. */
    @Transactional(readOnly = true)
    public boolean isCodeTaken(SettingId settingId, String code) {
        return items.findBySettingIdAndCode(settingId, code).isPresent();
    }

    /** What money the setting buys in. */
    public Currency currency(SettingId settingId) {
        return settings.get(settingId).currency();
    }

    private Map<String, CupboardItem> byCode(SettingId settingId) {
        Map<String, CupboardItem> byCode = new HashMap<>();
        items.findBySettingId(settingId, CUPBOARD).forEach(item -> byCode.put(item.code(), item));
        return byCode;
    }

    private static boolean isNamed(Collection<CupboardItem> items, String name) {
        return items.stream()
                .anyMatch(item ->
                        !item.retired() && item.name().toLowerCase(Locale.ROOT).equals(name.toLowerCase(Locale.ROOT)));
    }

    private CupboardItem find(SettingId settingId, UUID materialId) {
        return items.findByIdAndSettingId(materialId, settingId).orElseThrow(NotFound::new);
    }

    private MaterialView view(CupboardItem item, Currency currency) {
        MaterialView known = read.get(item.getId());
        if (known != null && known.version() == item.version()) {
            return known;
        }
        if (read.size() > MOST_KEPT) {
            read.clear();
        }
        MaterialView view = new MaterialView(item.getId(), item.version(), item.stocked(currency), item.photo());
        read.put(item.getId(), view);
        return view;
    }
}
