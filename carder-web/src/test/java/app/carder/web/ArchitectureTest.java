package app.carder.web;

import static com.tngtech.archunit.lang.conditions.ArchConditions.haveSimpleNameEndingWith;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.methods;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import app.carder.core.measure.Quantity;
import app.carder.web.page.Places;
import app.carder.web.setting.SettingId;
import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaAccess;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaCodeUnit;
import com.tngtech.archunit.core.domain.JavaConstructorCall;
import com.tngtech.archunit.core.domain.JavaMethod;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import jakarta.persistence.Entity;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.Set;
import org.springframework.data.repository.Repository;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.annotation.Transactional;

@AnalyzeClasses(packages = "app.carder.web", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    /** Look-ups for people who are not known to belong to a setting yet, and the setting itself. */
    private static final Set<String> WITHOUT_SETTING = Set.of(
            "AccountRepository.findById",
            "AccountRepository.findByUsername",
            "CalendarFeedRepository.findByTokenHash",
            "DeviceRepository.findById",
            "DeviceSignInRepository.findById",
            "DeviceSignInRepository.findByAccountIdAndEndedAtIsNull",
            "DraftRepository.deleteByChangedAtBefore",
            "HomeBrowserRepository.findByTokenHash",
            "InvitationRepository.findByTokenHash",
            "OpenUploadRepository.deleteByBegunAtBefore",
            "InvitationRepository.readByTokenHash",
            "MessageRepository.findById",
            "MessageRepository.nextDue",
            "SettingRepository.findById",
            "KnownBrowserRepository.deleteByLastUsedAtBefore",
            "SettingRepository.count",
            "SettingRepository.findByMadeUpTrue",
            "SettingRepository.ids",
            "SettingRepository.findTop2ByOrderByCreatedAt");

    @ArchTest
    static final ArchRule FEATURES_FORM_NO_CYCLE = slices().matching("app.carder.web.(*)..")
            .should()
            .beFreeOfCycles()
            .because("a feature can be understood, and taken out, by itself");

    /** Where it counts when something really was: sign-ins, links, devices, mail, logs, jobs, and files that say when they were made. */
    private static final Set<String> BY_THE_MACHINE = Set.of(
            "app.carder.web.account",
            "app.carder.web.audit",
            "app.carder.web.device",
            "app.carder.web.draft",
            "app.carder.web.media",
            "app.carder.web.outbox",
            "app.carder.web.operate");

    private static final Set<String> PARTLY_BY_THE_MACHINE = Set.of(
            "CarderConfiguration",
            "SettingService",
            // Links and the browsers that they open in.
            "FamilyService",
            "HomeBrowsers",
            // How long a deed can be taken back.
            "UndoService",
            // Jobs, and a feed with its link.
            "ProposalJob",
            "ProposalService",
            "CalendarService",
            // How long an archive waits between the look at it and the taking in.
            "ArchiveInbox",
            // When the rules themselves changed, for all settings alike.
            "RuleChanges");

    @ArchTest
    static final ArchRule WHAT_HAPPENS_IN_A_NURSERY_GOES_BY_ITS_OWN_TIME = noClasses()
            .that(DescribedPredicate.describe(
                    "belong to the nursery's day",
                    type -> !BY_THE_MACHINE.contains(type.getPackageName())
                            && !PARTLY_BY_THE_MACHINE.contains(type.getSimpleName())))
            .should()
            .dependOnClassesThat()
            .areAssignableTo(Clock.class)
            .because("a made-up nursery has a time of its own, and every page of it has to say the same");

    @ArchTest
    static final ArchRule CONTROLLERS_ARE_HIDDEN = classes()
            .that()
            .areAnnotatedWith(Controller.class)
            .should()
            .bePackagePrivate()
            .andShould(haveSimpleNameEndingWith("Controller"))
            .because("a feature is reached through its service");

    @ArchTest
    static final ArchRule ENTITIES_ARE_HIDDEN = classes()
            .that()
            .areAnnotatedWith(Entity.class)
            .should()
            .bePackagePrivate()
            .because("no entity crosses a feature");

    @ArchTest
    static final ArchRule REPOSITORIES_ARE_HIDDEN = classes()
            .that()
            .areAssignableTo(Repository.class)
            .should()
            .bePackagePrivate()
            .because("a feature's tables are its own");

    @ArchTest
    static final ArchRule EVERY_QUERY_IS_SCOPED = methods()
            .that()
            .areDeclaredInClassesThat()
            .areAssignableTo(Repository.class)
            .and()
            .doNotHaveName("save")
            .and()
            .doNotHaveName("delete")
            .should(takeASetting())
            .because("no query may forget whose records it reads");

    @ArchTest
    static final ArchRule NO_NOW = noClasses()
            .should()
            .callMethod(Instant.class, "now")
            .orShould()
            .callMethod(LocalDate.class, "now")
            .orShould()
            .callMethod(LocalDateTime.class, "now")
            .because("today comes from the clock and the setting's zone");

    @ArchTest
    static final ArchRule QUANTITIES_COME_FROM_FACTORIES = noClasses()
            .should()
            .callConstructorWhere(new DescribedPredicate<JavaConstructorCall>("a quantity is made") {
                @Override
                public boolean test(JavaConstructorCall call) {
                    return call.getTargetOwner().isAssignableTo(Quantity.class);
                }
            })
            .because("a factory names the unit");

    @ArchTest
    static final ArchRule NO_HEAVY_WORK_IN_A_TRANSACTION = methods()
            .that(new DescribedPredicate<JavaMethod>("call a solver, or work on a place for heavy work") {
                @Override
                public boolean test(JavaMethod method) {
                    return method.getMethodCallsFromSelf().stream()
                            .anyMatch(call ->
                                    call.getTargetOwner().getSimpleName().endsWith("Solver")
                                                    && call.getTargetOwner()
                                                            .getPackageName()
                                                            .startsWith("app.carder.core")
                                            || call.getTargetOwner().isEquivalentTo(Places.class));
                }
            })
            .should(notRunInATransaction())
            .because("it takes seconds, and waits for its turn, and others use the database meanwhile");

    @ArchTest
    static final ArchRule NO_ARITHMETIC_IN_CONTROLLERS = noClasses()
            .that()
            .areAnnotatedWith(Controller.class)
            .should()
            .dependOnClassesThat()
            .areAssignableTo(Math.class)
            .because("the job's arithmetic lives in the core");

    @ArchTest
    static final ArchRule WHAT_IS_REFUSED_IS_SAID_IN_FILES_OF_WORDS = noClasses()
            .that()
            .resideInAnyPackage(
                    "app.carder.web.calculator..",
                    "app.carder.web.card..",
                    "app.carder.web.kits..",
                    "app.carder.web.material..",
                    "app.carder.web.roomplan..")
            .should()
            .callConstructor(IllegalArgumentException.class, String.class)
            .orShould()
            .callConstructor(IllegalArgumentException.class, String.class, Throwable.class)
            .because("what is typed or read there is answered by Refused, in the language of whoever asked");

    /** Neither itself nor whoever calls it, however far away, says that it is one. */
    private static ArchCondition<JavaMethod> notRunInATransaction() {
        return new ArchCondition<>("not run in a transaction") {
            @Override
            public void check(JavaMethod method, ConditionEvents events) {
                Set<JavaCodeUnit> callers = new LinkedHashSet<>(Set.of(method));
                Deque<JavaCodeUnit> next = new ArrayDeque<>(callers);
                while (!next.isEmpty()) {
                    next.removeFirst().getCallsOfSelf().stream()
                            .map(JavaAccess::getOrigin)
                            .filter(callers::add)
                            .forEach(next::add);
                }
                callers.stream()
                        .filter(code -> code.isAnnotatedWith(Transactional.class))
                        .forEach(code -> events.add(SimpleConditionEvent.violated(
                                method,
                                "%s runs in the transaction of %s"
                                        .formatted(method.getFullName(), code.getFullName()))));
            }
        };
    }

    private static ArchCondition<JavaMethod> takeASetting() {
        return new ArchCondition<>("take a SettingId") {
            @Override
            public void check(JavaMethod method, ConditionEvents events) {
                String name = method.getOwner().getSimpleName() + "." + method.getName();
                boolean scoped = method.getRawParameterTypes().stream()
                        .map(JavaClass::getName)
                        .anyMatch(SettingId.class.getName()::equals);
                events.add(new SimpleConditionEvent(
                        method, scoped || WITHOUT_SETTING.contains(name), name + " takes no SettingId"));
            }
        };
    }
}
