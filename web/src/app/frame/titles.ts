import { inject, Injectable } from '@angular/core';
import { Title } from '@angular/platform-browser';
import { type RouterStateSnapshot, TitleStrategy } from '@angular/router';

/** What a page is called in the browser’s tabs: its own name, and the product’s. */
@Injectable()
export class PageTitles extends TitleStrategy {
  private readonly title = inject(Title);

  override updateTitle(page: RouterStateSnapshot): void {
    const own = this.buildTitle(page);
    this.title.setTitle(own === undefined ? 'Sleetcrest' : `${own} · Sleetcrest`);
  }
}
