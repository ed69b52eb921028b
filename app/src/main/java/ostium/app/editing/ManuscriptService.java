package ostium.app.editing;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import ostium.app.drafting.QuestionView;
import ostium.app.editing.ManuscriptView.AsideView;
import ostium.app.editing.ManuscriptView.FacetView;
import ostium.app.editing.ManuscriptView.FactView;
import ostium.app.editing.ManuscriptView.FieldKindView;
import ostium.app.editing.ManuscriptView.FormStartView;
import ostium.app.editing.ManuscriptView.FormView;
import ostium.app.editing.ManuscriptView.KindView;
import ostium.app.editing.ManuscriptView.OfferView;
import ostium.app.editing.ManuscriptView.ServiceRow;
import ostium.app.editing.ManuscriptView.SlotView;
import ostium.app.editing.ManuscriptView.SnagView;
import ostium.app.proofing.Proofs;
import ostium.app.site.PreviewTokens;
import ostium.app.site.SiteOutlook;
import ostium.app.site.SiteService;
import ostium.app.site.SiteSteps;
import ostium.app.site.StoredSite;
import ostium.app.site.WordsAside;
import ostium.app.web.Origins;
import ostium.app.web.Problem;
import ostium.core.base.Messages;
import ostium.core.brief.Brief;
import ostium.core.edit.Edit;
import ostium.core.edit.Redraft;
import ostium.core.edit.SheetLines;
import ostium.core.edit.State;
import ostium.core.edit.Steps;
import ostium.core.edit.Stored;
import ostium.core.enquiry.FormStart;
import ostium.core.enquiry.SectionForms;
import ostium.core.fact.Fact;
import ostium.core.fact.FactNames;
import ostium.core.fact.Facts;
import ostium.core.form.FieldKind;
import ostium.core.form.Form;
import ostium.core.form.FormPurpose;
import ostium.core.form.FormSetup;
import ostium.core.section.SectionDescriptor;
import ostium.core.section.SectionKinds;
import ostium.core.section.Stage;
import ostium.core.sheet.FieldAnswer;
import ostium.core.sheet.SheetReading;
import ostium.core.sheet.TypedSheet;
import ostium.core.site.Section;
import ostium.core.site.Site;
import ostium.core.snag.Snag;
import ostium.core.snag.Snags;

/** Makes the view of a manuscript. */
@Service
class ManuscriptService {
    private static final Messages FORM = Messages.of("form");
    private static final List<FieldKindView> FIELD_KINDS = Arrays.stream(FieldKind.values())
            .map(kind -> new FieldKindView(
                    kind,
                    FORM.say("kind." + kind),
                    FORM.say("label." + kind),
                    kind.key().orElse(""),
                    kind.hasOptions(),
                    kind.decides(),
                    kind.canHang()))
            .toList();

    /** What follows from the sheet alone, said once for each reading of it. */
    private final Cache<SheetReading, List<FactView>> facts =
            Caffeine.newBuilder().weakKeys().build();

    private final Cache<SheetReading, List<FormStartView>> starts =
            Caffeine.newBuilder().weakKeys().build();

    private final SiteService sites;
    private final SiteSteps steps;
    private final WordsAside asides;
    private final Proofs proofs;
    private final List<SiteOutlook> outlooks;
    private final PreviewTokens tokens;
    private final Origins origins;

    ManuscriptService(
            SiteService sites,
            SiteSteps steps,
            WordsAside asides,
            Proofs proofs,
            List<SiteOutlook> outlooks,
            PreviewTokens tokens,
            Origins origins) {
        this.sites = sites;
        this.steps = steps;
        this.asides = asides;
        this.proofs = proofs;
        this.outlooks = outlooks;
        this.tokens = tokens;
        this.origins = origins;
    }

    /** @throws Problem 409 before a draft is kept */
    ManuscriptView view(StoredSite site, String author) {
        State state = sites.state(site);
        if (!state.isKept()) {
            throw new Problem(HttpStatus.CONFLICT, "", "draft.keepForWords");
        }
        SheetReading reading = sites.read(state);
        Proofs.Known proofs = this.proofs.of(site, state, reading);
        Steps mine = steps.of(site.id(), author);
        SiteOutlook.Outlook outlook = SiteOutlook.Outlook.NOTHING;
        for (SiteOutlook each : outlooks) {
            outlook = each.add(site, outlook);
        }
        return new ManuscriptView(
                site.revision(),
                state.sheet().name(),
                state.site(),
                kinds(state.site()),
                facts.get(reading, read -> facts(state.sheet(), read.brief().facts())),
                services(state.sheet(), reading),
                snags(state, reading, proofs).map(ManuscriptService::snag).toList(),
                proofs.isReading(),
                Redraft.offers(state, reading).stream()
                        .map(offer -> new OfferView(
                                offer.kind().name(),
                                SectionKinds.of(offer.kind()).words(),
                                offer.reason()))
                        .toList(),
                asides(site, author),
                state.doors().messagesTo(),
                forms(state, reading),
                FIELD_KINDS,
                state.doors().keptMonths(),
                !mine.toUndo().isEmpty(),
                !mine.toRedo().isEmpty(),
                outlook.pendingChanges(),
                origins.preview() + "/" + tokens.give(site) + "/",
                QuestionView.of(state, reading));
    }

    /** The forms of the site, hidden ones too, by id of their section. */
    private Map<String, FormView> forms(State state, SheetReading reading) {
        Brief brief = reading.brief();
        return state.site()
                .sections()
                .filter(section -> SectionKinds.of(section).form().isPresent())
                .collect(Collectors.toMap(Section::id, section -> {
                    Form form = SectionForms.of(section, brief, state.doors());
                    FormSetup setup = form.setup();
                    FormPurpose purpose = form.purpose();
                    Form usual = new Form(setup.fields(), purpose);
                    return new FormView(
                            setup,
                            state.doors().form(section.id()).isEmpty(),
                            usual.thanks(brief.facts()),
                            purpose.kinds(),
                            purpose.canConfirm(),
                            purpose.isTold(),
                            state.doors().routes(section.id()),
                            purpose == FormPurpose.ENQUIRY
                                    ? starts.get(reading, read -> starts(read.brief()))
                                    : List.of());
                }));
    }

    private static List<FormStartView> starts(Brief brief) {
        return Arrays.stream(FormStart.values())
                .map(start -> new FormStartView(start, start.words(), start.form(brief)))
                .toList();
    }

    /** What each kind on the page is, those of a newer version among them. */
    private static Map<String, KindView> kinds(Site site) {
        return site.sections()
                .map(Section::kind)
                .distinct()
                .map(SectionKinds::of)
                .collect(Collectors.toMap(kind -> kind.kind().name(), ManuscriptService::kind));
    }

    private static KindView kind(SectionDescriptor kind) {
        return new KindView(
                kind.words(),
                kind.isKnown(),
                kind.slots().stream()
                        .map(slot -> new SlotView(
                                slot.name(), slot.words(), slot.shape().name(), slot.longest()))
                        .toList(),
                kind.layouts(),
                kind.facts(),
                kind.rowPrefix(),
                kind.door().orElse(""),
                kind.stage() == Stage.FIRST,
                kind.isWorded(),
                kind.belongsToTheSite());
    }

    private static List<FactView> facts(TypedSheet sheet, Facts facts) {
        List<FactView> views = new ArrayList<>();
        for (Fact<?> fact : facts.list()) {
            if (fact.state() != Fact.State.GIVEN) {
                continue;
            }
            List<FacetView> facets = fact.value().facets().stream()
                    .flatMap(facet -> fact.value().say(facet).stream().map(says -> new FacetView(facet, says)))
                    .toList();
            if (!facets.isEmpty()) {
                String line = lineOf(fact.id());
                views.add(new FactView(
                        fact.id(),
                        FactNames.of(fact.id()),
                        line,
                        SheetLines.get(sheet, line).orElse(""),
                        facets));
            }
        }
        return views;
    }

    private static String lineOf(String fact) {
        if (fact.startsWith("service/")) {
            return fact + "/name";
        }
        return fact.equals("membership") ? "membership/body" : fact.startsWith("link/") ? "links" : fact;
    }

    private static List<ServiceRow> services(TypedSheet sheet, SheetReading reading) {
        List<ServiceRow> rows = new ArrayList<>();
        for (int i = 0; i < sheet.services().size(); i++) {
            Map<String, FieldAnswer> answers = new LinkedHashMap<>();
            String field = "services." + i;
            put(answers, "name", reading.answers().get(field));
            put(answers, "price", reading.answers().get(field + ".price"));
            put(answers, "minutes", reading.answers().get(field + ".minutes"));
            rows.add(new ServiceRow(sheet.services().get(i), answers));
        }
        return rows;
    }

    private static void put(Map<String, FieldAnswer> answers, String line, FieldAnswer answer) {
        if (answer != null) {
            answers.put(line, answer);
        }
    }

    private static Stream<Snag> snags(State state, SheetReading reading, Proofs.Known proofs) {
        return Stream.concat(Snags.of(state, reading).stream(), proofs.snags().stream());
    }

    /** What puts a snag right, or leaves it; the snag is told by its rule and its place. */
    Optional<Edit> fix(StoredSite site, EditingController.Fix asked) {
        State state = sites.state(site);
        SheetReading reading = sites.read(state);
        return snags(state, reading, proofs.of(site, state, reading))
                .filter(snag -> snag.rule().equals(asked.rule())
                        && snag.section().equals(asked.section())
                        && snag.text().equals(asked.text()))
                .map(snag -> Boolean.TRUE.equals(asked.leave()) ? snag.leave() : snag.fix())
                .filter(fix -> fix != null && fix.edit() != null)
                .map(Snag.Fix::edit)
                .findFirst();
    }

    private static SnagView snag(Snag snag) {
        return new SnagView(
                snag.level().name().toLowerCase(Locale.ROOT),
                snag.rule(),
                snag.words(),
                snag.why(),
                snag.section(),
                snag.text(),
                snag.fix() == null ? "" : snag.fix().words(),
                snag.fix() == null || snag.fix().edit() != null
                        ? ""
                        : snag.fix().line(),
                snag.leave() == null ? "" : snag.leave().words());
    }

    private List<AsideView> asides(StoredSite site, String author) {
        return asides.ofSite(site.id()).stream()
                .map(aside -> new AsideView(
                        aside.id(),
                        aside.text(),
                        Stored.readTree(aside.tree()),
                        aside.author().equals(author)))
                .toList();
    }
}
