namespace Antiphon.Core.Mailing.Returns;

/// <summary>What a return does to a subscriber.</summary>
public static class ReturnRule
{
    /// <summary>Soft bounces in a row after which an address gets no more mail.</summary>
    public const int MostSoft = 5;

    /// <summary>Why the address gets no mail from now on; null while it does.</summary>
    /// <param name="kind">What came back.</param>
    /// <param name="softBefore">Soft bounces in a row before it.</param>
    public static Suppression? After(ReturnKind kind, int softBefore) =>
        kind switch
        {
            ReturnKind.Hard => Suppression.Bounce,
            ReturnKind.Complaint => Suppression.Complaint,
            _ => softBefore + 1 >= MostSoft ? Suppression.Bounce : null,
        };
}
