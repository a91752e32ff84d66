using System.Reflection;
using Antiphon.Core.Languages;
using Antiphon.Server.Pages;

namespace Antiphon.Server.Tests.Hosting;

/// <summary>What readers are told, as the program reads it: every record of texts from every file.</summary>
public sealed class ReaderTextsTests
{
    public static TheoryData<string> Languages => [.. ReaderLanguage.All];

    [Theory]
    [MemberData(nameof(Languages))]
    public void Every_section_of_a_language_is_what_the_program_asks_for(string language)
    {
        var records = new[] { typeof(EmbedTexts).Assembly, typeof(ReaderLanguage).Assembly }
            .SelectMany(assembly => assembly.GetTypes())
            .Where(type =>
                Array.Exists(type.GetFields(BindingFlags.NonPublic | BindingFlags.Static), field =>
                    field.FieldType is { IsGenericType: true } kept
                    && kept.GetGenericTypeDefinition() == typeof(Catalogue<>)
                    && kept.GenericTypeArguments[0] == type
                )
            )
            .ToList();
        Assert.Equal(12, records.Count);
        foreach (var record in records)
            Assert.NotNull(record.GetMethod("For", [typeof(string)])!.Invoke(null, [language]));
    }
}
