namespace Antiphon.Data.Upgrading;

/// <summary>A database that a later version of the program has changed: this one would not understand it.</summary>
/// <param name="step">The last step it has behind it.</param>
public sealed class DatabaseTooNewException(string step)
    : Exception(
        $"The database was changed by a later version of Antiphon (its last step is {step}). Start that version again, or put back the backup made before it."
    )
{
    /// <summary>The last step the database has behind it.</summary>
    public string Step => step;
}
