package reliqua.files;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import reliqua.core.check.Finding;
import reliqua.core.fit.Candidate;
import reliqua.core.fit.FitResult;
import reliqua.core.measure.Tape;
import reliqua.core.project.Project;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What a search kept, best first, the size built by habit last: each with its design, bill, bound,
 * weight, minutes and what the rules say of it.
 */
public final class FitsJson {
    private static final JsonMapper MAPPER = new JsonMapper();

    private FitsJson() {}

    /**
     * Writes all candidates of a search.
     *
     * @param tape the findings are told in its units
     */
    public static String write(FitResult result, Tape tape) {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("version", 1).put("tried", result.tried()).put("ruledOut", result.skipped());
        ArrayNode fits = root.putArray("fits");
        Stream.of(result.best().stream(), result.others().stream(), result.standard().stream())
                .flatMap(s -> s)
                .forEach(c -> write(fits.addObject(), c, tape));
        return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(root);
    }

    private static void write(ObjectNode node, Candidate candidate, Tape tape) {
        node.put("family", candidate.spec().family());
        ObjectNode lengths = node.putObject("lengths");
        candidate.spec().lengths().forEach((key, length) -> lengths.put(key, length.toMm()));
        node.put("bill", JsonWords.amount(candidate.cost()))
                .put("bound", JsonWords.amount(candidate.plan().lowerBound()))
                .put("missing", candidate.plan().missing().size())
                .put("weight", candidate.coop().measures().weight().toKilograms())
                .put("minutes", minutes(candidate));
        ArrayNode findings = node.putArray("findings");
        for (Finding finding : candidate.findings()) {
            findings.addObject()
                    .put("rule", finding.rule())
                    .put("severity", JsonWords.lower(finding.severity()))
                    .put("text", finding.sum().words(tape));
        }
        DesignJson.write(
                node.putObject("design"),
                new Project.Chosen(candidate.spec(), candidate.plan().seams()));
    }

    private static int minutes(Candidate candidate) {
        return candidate.plan().makingMinutes()
                + candidate.coop().parts().stream().mapToInt(p -> p.role().duty().minutes()).sum();
    }

    /**
     * The best design of a list that was written by this class.
     *
     * @throws InputException when it is damaged
     */
    static Optional<Project.Chosen> best(String text) throws InputException {
        List<String> faults = new ArrayList<>();
        List<Project.Chosen> all =
                JsonReader.of(text, "fits", faults).list("fits", FitsJson::design);
        if (!faults.isEmpty()) {
            throw new InputException(faults);
        }
        return all.stream().findFirst();
    }

    private static Project.Chosen design(JsonReader in) {
        return in.inner("design").map(DesignJson::read).orElseThrow();
    }
}
