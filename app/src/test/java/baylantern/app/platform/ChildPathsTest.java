package baylantern.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import javax.xml.parsers.DocumentBuilder;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.xpath.XPath;
import javax.xml.xpath.XPathConstants;
import javax.xml.xpath.XPathExpressionException;
import javax.xml.xpath.XPathFactory;
import org.junit.jupiter.api.Test;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.w3c.dom.Node;
import org.w3c.dom.NodeList;

/** Parts of a document by their paths, held against the platform's own way (XML Path Language 1.0) on every file of statements. */
class ChildPathsTest {

    private static final List<String> PATHS = List.of(
            "/mapper",
            "/mapper/sql",
            "/mapper/resultMap",
            "/mapper/resultMap/result",
            "mapper/select",
            "cache-ref",
            "sql",
            "select|insert|update|delete",
            "delete|select",
            "selectKey",
            "include|where/include",
            "//include",
            "select[@id]",
            "*",
            ".");

    private static List<Node> nodes(XPath way, String path, Node from) throws XPathExpressionException {
        NodeList found = (NodeList) way.evaluate(path, from, XPathConstants.NODESET);
        List<Node> nodes = new ArrayList<>();
        for (int i = 0; i < found.getLength(); i++) {
            nodes.add(found.item(i));
        }
        assertThat(found.item(found.getLength())).isNull();
        return nodes;
    }

    @Test
    void findsWhatThePlatformFindsWhereverItIsAsked() throws Exception {
        XPathFactory used = XPathFactory.newInstance();
        assertThat(used).as("taken by whoever reads statements").isInstanceOf(ChildPaths.class);
        XPath ours = used.newXPath();
        XPath platform = XPathFactory.newDefaultInstance().newXPath();
        DocumentBuilder reader = DocumentBuilderFactory.newInstance().newDocumentBuilder();
        reader.setEntityResolver((name, place) -> new org.xml.sax.InputSource(new java.io.StringReader("")));
        int found = 0;
        for (Resource file :
                new PathMatchingResourcePatternResolver().getResources("classpath*:baylantern/app/**/*Mapper.xml")) {
            Node document;
            try (InputStream said = file.getInputStream()) {
                document = reader.parse(said);
            }
            for (Node from :
                    List.of(document, nodes(platform, "/mapper", document).get(0))) {
                for (String path : PATHS) {
                    List<Node> theirs = nodes(platform, path, from);
                    assertThat(nodes(ours, path, from)).as(path).isEqualTo(theirs);
                    assertThat(ours.evaluate(path, from, XPathConstants.NODE))
                            .as(path)
                            .isEqualTo(platform.evaluate(path, from, XPathConstants.NODE));
                    assertThat(ours.evaluate("count(" + path + ")", from)).isEqualTo("" + theirs.size());
                    found += theirs.size();
                }
            }
        }
        assertThat(found).isGreaterThan(1_000);
    }
}
