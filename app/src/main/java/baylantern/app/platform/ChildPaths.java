package baylantern.app.platform;

import java.lang.reflect.InvocationHandler;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Proxy;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import javax.xml.namespace.QName;
import javax.xml.xpath.XPath;
import javax.xml.xpath.XPathConstants;
import javax.xml.xpath.XPathFactory;
import javax.xml.xpath.XPathFactoryConfigurationException;
import javax.xml.xpath.XPathFunctionResolver;
import javax.xml.xpath.XPathVariableResolver;
import org.jspecify.annotations.Nullable;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.w3c.dom.NodeList;

/**
 * Finds parts of a document by paths as the reader of the statements asks for them: the children of a node, by their names.
 * The platform's own way reads each such question as if it were any, and makes a second document for it, some seven
 * hundred times at each start. Whatever is asked otherwise is left to it. The reader finds it as a service, by its name in
 * META-INF/services.
 */
public final class ChildPaths extends XPathFactory {

    private static final Pattern ONE_OF = Pattern.compile("[\\w-]+(\\|[\\w-]+)*");
    private static final Pattern STEPS = Pattern.compile("/?[\\w-]+(/[\\w-]+)*");

    private final XPathFactory platform = XPathFactory.newDefaultInstance();

    @Override
    public XPath newXPath() {
        XPath any = platform.newXPath();
        InvocationHandler answers = (self, method, asked) -> {
            if (asked != null
                    && asked.length == 3
                    && asked[0] instanceof String path
                    && asked[1] instanceof Node from
                    && asked[2] instanceof QName kind) {
                List<Node> found = found(path, from);
                if (found != null && kind.equals(XPathConstants.NODE)) {
                    return found.isEmpty() ? null : found.get(0);
                }
                if (found != null && kind.equals(XPathConstants.NODESET)) {
                    return new Found(found);
                }
            }
            try {
                return method.invoke(any, asked);
            } catch (InvocationTargetException e) {
                throw e.getCause();
            }
        };
        return (XPath) Proxy.newProxyInstance(XPath.class.getClassLoader(), new Class<?>[] {XPath.class}, answers);
    }

    private record Found(List<Node> nodes) implements NodeList {

        @Override
        public @Nullable Node item(int index) {
            return index >= 0 && index < nodes.size() ? nodes.get(index) : null;
        }

        @Override
        public int getLength() {
            return nodes.size();
        }
    }

    /** What lies at a path, in the order of the document; null where the path asks for more than children by their names. */
    private static @Nullable List<Node> found(String path, Node from) {
        if (ONE_OF.matcher(path).matches()) {
            return children(List.of(from), Set.of(path.split("\\|")));
        }
        if (!STEPS.matcher(path).matches()) {
            return null;
        }
        boolean whole = path.startsWith("/") && !(from instanceof Document);
        List<Node> at = List.of(whole ? from.getOwnerDocument() : from);
        for (String step : path.substring(path.startsWith("/") ? 1 : 0).split("/")) {
            at = children(at, Set.of(step));
        }
        return at;
    }

    private static List<Node> children(List<Node> of, Set<String> names) {
        List<Node> found = new ArrayList<>();
        for (Node parent : of) {
            for (Node child = parent.getFirstChild(); child != null; child = child.getNextSibling()) {
                if (child instanceof Element && names.contains(child.getNodeName())) {
                    found.add(child);
                }
            }
        }
        return found;
    }

    @Override
    public boolean isObjectModelSupported(String model) {
        return platform.isObjectModelSupported(model);
    }

    @Override
    public void setFeature(String name, boolean value) throws XPathFactoryConfigurationException {
        platform.setFeature(name, value);
    }

    @Override
    public boolean getFeature(String name) throws XPathFactoryConfigurationException {
        return platform.getFeature(name);
    }

    @Override
    public void setXPathVariableResolver(XPathVariableResolver resolver) {
        platform.setXPathVariableResolver(resolver);
    }

    @Override
    public void setXPathFunctionResolver(XPathFunctionResolver resolver) {
        platform.setXPathFunctionResolver(resolver);
    }
}
