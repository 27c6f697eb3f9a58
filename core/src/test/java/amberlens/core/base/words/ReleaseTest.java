package amberlens.core.base.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.xpath.XPathFactory;
import org.junit.jupiter.api.Test;

class ReleaseTest {
    @Test
    void what_is_said_of_itself_is_what_is_built() throws Exception {
        var pom = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(Path.of("..", "pom.xml").toFile());
        assertThat(XPathFactory.newInstance().newXPath().evaluate("/project/version", pom))
                .isEqualTo(Release.VERSION);
    }
}
