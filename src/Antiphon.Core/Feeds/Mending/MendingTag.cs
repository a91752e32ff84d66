namespace Antiphon.Core.Feeds.Mending;

/// <summary>Writes one start tag, its attributes mended.</summary>
internal sealed class MendingTag(MendingText text)
{
    private readonly TagPrefixes _prefixes = new();

    /// <summary>Writes the tag the text stands on; null when it does not end.</summary>
    public MendedTag? Write()
    {
        var (start, source) = (text.At, text.Source);
        var name = NameAt(source, start + 1);
        text.At = start + 1 + name.Length;
        var written = text.Written.Length;
        text.Written.Append('<').Append(name);
        var nameEnd = text.Written.Length;
        _prefixes.Use(name, start);
        var seen = new HashSet<string>(StringComparer.Ordinal);
        while (!text.IsOver)
        {
            var c = source[text.At];
            if (c == '>' || text.GoesOn("/>"))
            {
                var isEmpty = c != '>';
                text.Written.Append(isEmpty ? "/>" : ">");
                text.At += isEmpty ? 2 : 1;
                return new MendedTag(name, isEmpty, nameEnd, _prefixes);
            }

            // The next tag begins before this one ended.
            if (c == '<')
            {
                text.Note(MendKind.AttributeForm, text.At, $"<{name}");
                text.Written.Append('>');
                return new MendedTag(name, false, nameEnd, _prefixes);
            }

            if (char.IsWhiteSpace(c) || c is '/' or '"' or '\'' or '=')
            {
                if (char.IsWhiteSpace(c))
                    text.Written.Append(c);
                text.At++;
            }
            else
                WriteAttribute(seen);
        }

        text.Written.Length = written;
        return null;
    }

    /// <summary>
    /// The name that stands at a place, with at most one prefix (Namespaces in XML 1.0 §3); empty when none does.
    /// </summary>
    public static string NameAt(string source, int at)
    {
        if (at >= source.Length || !IsStart(source[at]))
            return string.Empty;
        var (end, hasPrefix) = (at, false);
        for (; end < source.Length; end++)
        {
            if (source[end] == ':')
            {
                if (hasPrefix || end + 1 >= source.Length || !IsStart(source[end + 1]))
                    break;
                hasPrefix = true;
            }
            else if (!char.IsLetterOrDigit(source[end]) && source[end] is not ('_' or '-' or '.'))
                break;
        }

        return source[at..end];
    }

    private static bool IsStart(char c) => char.IsLetter(c) || c == '_';

    private void WriteAttribute(HashSet<string> seen)
    {
        var (start, source) = (text.At, text.Source);
        var name = NameAt(source, start);
        // A prefix cannot be bound to nothing, and those of XML itself not at all.
        if (name.Length == 0)
        {
            text.Note(MendKind.AttributeForm, start, source[start].ToString());
            text.At++;
            return;
        }

        text.At += name.Length;
        var isSecond = !seen.Add(name);
        var written = text.Written.Length;
        if (written > 0 && !char.IsWhiteSpace(text.Written[written - 1]))
            text.Written.Append(' ');
        text.Written.Append(name).Append("=\"");
        var value = text.Written.Length;
        WriteValue(name, start);
        var given = text.Written.ToString(value, text.Written.Length - value);
        text.Written.Append('"');
        var isEmptyPrefix =
            name.StartsWith("xmlns:", StringComparison.Ordinal)
            && (given.Trim().Length == 0 || name is "xmlns:xmlns" or "xmlns:xml");
        if (!isSecond && !isEmptyPrefix)
        {
            _prefixes.UseOrDeclare(name, start);
            return;
        }

        text.Note(isSecond ? MendKind.AttributeTwice : MendKind.AttributeForm, start, name);
        text.Written.Length = written;
    }

    private void WriteValue(string name, int start)
    {
        var source = text.Source;
        while (!text.IsOver && char.IsWhiteSpace(source[text.At]) && IsFollowedByEquals())
            text.At++;
        if (text.IsOver || source[text.At] != '=')
        {
            text.Note(MendKind.AttributeForm, start, name);
            text.Written.Append(name);
            return;
        }

        text.At++;
        while (!text.IsOver && char.IsWhiteSpace(source[text.At]))
            text.At++;
        if (text.IsOver)
            return;
        if (source[text.At] is '"' or '\'')
        {
            var quote = source[text.At++];
            while (!text.IsOver && source[text.At] != quote)
                text.WriteCharacter(isValue: true);
            text.At++;
            return;
        }

        text.Note(MendKind.AttributeForm, start, name);
        while (!text.IsOver && !char.IsWhiteSpace(source[text.At]) && source[text.At] != '>')
            text.WriteCharacter(isValue: true);
    }

    private bool IsFollowedByEquals()
    {
        var at = text.At;
        while (at < text.Source.Length && char.IsWhiteSpace(text.Source[at]))
            at++;
        return at < text.Source.Length && text.Source[at] == '=';
    }
}

/// <summary>A start tag as it was written.</summary>
/// <param name="Name">Its name.</param>
/// <param name="IsEmpty">True when it is its own end.</param>
/// <param name="NameEnd">Place behind its name in what is written.</param>
/// <param name="Prefixes">The prefixes it uses and declares.</param>
internal sealed record MendedTag(string Name, bool IsEmpty, int NameEnd, TagPrefixes Prefixes);
