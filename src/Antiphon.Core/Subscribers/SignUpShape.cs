namespace Antiphon.Core.Subscribers;

/// <summary>How a form that asks for new posts stands in a page.</summary>
public enum SignUpShape
{
    /// <summary>Where its snippet is.</summary>
    Inline,

    /// <summary>As a bar at the foot of the window, once the reader scrolls.</summary>
    Bar,

    /// <summary>As a panel that comes when the reader is near the end of the page.</summary>
    Panel,
}
