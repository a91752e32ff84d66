using System.Reflection;

namespace Antiphon.StandIns.Website;

/// <summary>The pages of Quillmoor's website as files people edit.</summary>
public sealed class WebsitePages
{
    private readonly string _folder;

    /// <summary>Lays out the pages the first time; later starts keep what was edited.</summary>
    public WebsitePages(StandInPorts ports)
    {
        _folder = Path.Combine(ports.Data, "website");
        Directory.CreateDirectory(_folder);
        foreach (var name in Names.Where(name => !File.Exists(FileOf(name))))
            File.WriteAllText(FileOf(name), Original(name));
    }

    /// <summary>The pages, in the order of the menu.</summary>
    public static IReadOnlyList<string> Names { get; } =
    ["home", "visit", "night-log", "programmes", "membership", "shop"];

    /// <summary>The HTML of a page, or null when there is no such page.</summary>
    public string? Read(string name) => Names.Contains(name) ? File.ReadAllText(FileOf(name)) : null;

    /// <summary>Saves and publishes a page.</summary>
    public void Save(string name, string html)
    {
        var draft = FileOf(name) + ".new";
        File.WriteAllText(draft, html);
        File.Move(draft, FileOf(name), overwrite: true);
    }

    private static string Original(string name)
    {
        using var stream = Assembly
            .GetExecutingAssembly()
            .GetManifestResourceStream($"Antiphon.StandIns.Website.Pages.{name}.html")!;
        using var reader = new StreamReader(stream);
        return reader.ReadToEnd();
    }

    private string FileOf(string name) => Path.Combine(_folder, name + ".html");
}
