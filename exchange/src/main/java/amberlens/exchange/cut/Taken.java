package amberlens.exchange.cut;

import amberlens.core.model.project.Project;
import java.util.List;

/**
 * What came of a file of another program.
 *
 * @param remarks what could not be taken as it is meant, a line each
 */
public record Taken(Project project, List<String> remarks) {
    public Taken {
        remarks = List.copyOf(remarks);
    }
}
