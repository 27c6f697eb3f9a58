package amberlens.desktop.looks;

import amberlens.core.look.LookSet;
import amberlens.core.model.FileProblem;
import amberlens.desktop.services.KeptFiles;
import amberlens.project.LookFile;
import java.nio.file.Path;

/** The looks that somebody has kept, as files of the folder of settings. */
final class OwnLooks implements KeptFiles.Format<LookSet> {
    private OwnLooks() {}

    static KeptFiles<LookSet> in(Path settings) {
        return new KeptFiles<>(settings.resolve("looks"), new OwnLooks());
    }

    @Override
    public String ending() {
        return LookFile.ENDING;
    }

    @Override
    public String name(LookSet set) {
        return set.name();
    }

    @Override
    public LookSet open(Path file) throws FileProblem {
        return LookFile.open(file);
    }

    @Override
    public void save(LookSet set, Path file) throws FileProblem {
        LookFile.save(set, file);
    }
}
