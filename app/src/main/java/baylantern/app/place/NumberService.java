package baylantern.app.place;

import baylantern.app.platform.Rows;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Gives numbers of codes, each once, whatever is taken back: a label never comes to name another graft. */
@Service
public class NumberService {

    private static final Pattern NUMBERED = Pattern.compile("(.*?)(\\d{1,9})");

    private final NumberMapper mapper;
    private final ObjectProvider<GivenCodes> given;

    NumberService(NumberMapper mapper, ObjectProvider<GivenCodes> given) {
        this.mapper = mapper;
        this.given = given;
    }

    /** The number that would be given next of a run of codes, for instance "TL-26-"; 1 or more. */
    public int next(String stem) {
        Integer last = mapper.last(stem);
        return last == null ? 1 : last + 1;
    }

    /** Gives some numbers of a run, and tells the first of them. */
    @Transactional
    public int give(String stem, int many) {
        if (mapper.count(stem, many) == 0) {
            Rows.one(mapper.begin(stem, many));
            return 1;
        }
        return next(stem) - many;
    }

    /** Lets every run go on after the codes in use, where these did not come from here. */
    @Transactional
    public void goOn() {
        Map<String, Integer> most = new HashMap<>();
        given.stream().flatMap(part -> part.codes().stream()).forEach(code -> {
            Matcher numbered = NUMBERED.matcher(code);
            if (numbered.matches()) {
                most.merge(numbered.group(1), Integer.valueOf(numbered.group(2)), Math::max);
            }
        });
        for (Map.Entry<String, Integer> run : List.copyOf(most.entrySet())) {
            if (mapper.raise(run.getKey(), run.getValue()) == 0) {
                Rows.one(mapper.begin(run.getKey(), run.getValue()));
            }
        }
    }
}
